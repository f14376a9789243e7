/// Taught: a fault hidden in a loop, to be found with the least work. What readings mean is computed in `loop.fault`.
package io.answerback.core.learn.faultfinding;
