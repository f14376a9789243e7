/// One pure function from a job to everything computed from it.
package io.answerback.core.assess;
