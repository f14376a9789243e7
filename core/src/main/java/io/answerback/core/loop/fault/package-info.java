/// Works out from readings which faults of a loop explain them, how likely each is, and what to measure next.
package io.answerback.core.loop.fault;
