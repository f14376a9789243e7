/// What happened, as the codes of the open reporting formats name it.
package io.answerback.core.signal.event;
