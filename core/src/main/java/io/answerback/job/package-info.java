/// The whole site as immutable records: what was surveyed, wired, programmed and proven. Depends on nothing.
package io.answerback.job;
