/// Mail to people over SMTP, and a mail server that stands in for the provider's.
package io.answerback.messages.mail;
