/// Named changes to a job, and the way back from each of them.
package io.answerback.core.engine.edit;
