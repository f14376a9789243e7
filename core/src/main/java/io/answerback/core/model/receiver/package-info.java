/// What a receiver at a monitoring station takes and what it is told: records only.
package io.answerback.core.model.receiver;
