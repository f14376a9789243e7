/// Loops as they were measured against loops as they were computed.
package io.answerback.core.loop.commission;
