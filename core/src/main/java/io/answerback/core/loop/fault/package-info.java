/// From readings back to their cause: what can explain them, how likely each explanation is, and what to measure
/// next.
package io.answerback.core.loop.fault;
