/// Words that follow the firm's option, from one resource bundle, ready for translation.
package io.answerback.core.engine.wording;
