/// Words that follow the firm's school, from one resource bundle, ready for translation.
package io.answerback.core.wording;
