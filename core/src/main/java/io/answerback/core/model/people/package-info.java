/// People who are notified of events by mail or text message.
package io.answerback.core.model.people;
