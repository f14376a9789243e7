/// The outside, simulated: a practice station that answers real frames over real sockets, and the sender that
/// waits for its answer.
package io.answerback.station;
