/// A panel as a deterministic reducer: what it is told and what it sees, in; what it sends, out. It owns no
/// clock.
package io.answerback.core.panel;
