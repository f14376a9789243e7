/// What apprentices practise on.
package io.answerback.core.learn;
