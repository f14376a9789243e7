/// Finding a hidden fault at a loop as an exercise: complaint, measurements that cost minutes, and the plan
/// with the least expected minutes.
package io.answerback.core.learn.faultfinding;
