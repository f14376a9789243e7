/// What a receiver at a monitoring station takes and what it is notified of: records only.
package io.answerback.core.model.receiver;
