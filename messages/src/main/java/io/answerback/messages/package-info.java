/// Mail and text messages to people, for real and to stand-ins of the servers.
package io.answerback.messages;
