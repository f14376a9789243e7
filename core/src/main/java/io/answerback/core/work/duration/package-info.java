/// How long the work takes: counts out of the job, minutes out of the firm's rates, and rates out of what was measured.
package io.answerback.core.work.duration;
