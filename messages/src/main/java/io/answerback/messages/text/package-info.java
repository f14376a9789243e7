/// Text messages to people by a gateway over HTTP, and a gateway that stands in for the provider's.
package io.answerback.messages.text;
