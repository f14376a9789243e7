/// The report bench: what the panel makes of a point, the frame that carries it, and what the station does
/// with it.
package io.answerback.desktop.report;
