/// A panel while it works: what comes in, and what it sends and shows because of it, with what hangs on its bus and
/// what it hears by radio. It owns no clock.
package io.answerback.core.panel;
