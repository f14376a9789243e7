/// A panel at work: what comes in, and what it sends and shows as a result, with what is on its bus and what it hears
/// by radio. It has no clock of its own.
package io.answerback.core.panel;
