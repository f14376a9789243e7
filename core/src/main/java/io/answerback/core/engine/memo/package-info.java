/// Facts that follow from a job, each kept as long as everything it was computed from is the very same.
package io.answerback.core.engine.memo;
