/// Trying a point: what every link does when it becomes active or comes back to rest, up to the signals that
/// leave.
package io.answerback.core.prove.simulation;
