/// The communicator as a box: what its maker says of it, how it is attached, what identifies it, and how it is
/// worked by text message.
package io.answerback.core.model.unit;
