/// The ways out of the building: each with its tries, its waits and its polls, and the order in which they are
/// tried.
package io.answerback.core.model.path;
