/// An exercise: a fault hidden in a loop, to be found with the least work. What readings mean is worked out in
/// `loop.fault`.
package io.answerback.core.learn.faultfinding;
