/// The mail server a communicator sends mails by, as it was decided.
package io.answerback.core.model.mail;
