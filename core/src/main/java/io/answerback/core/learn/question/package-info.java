/// Questions of every kind, made from a seed over the real model.
package io.answerback.core.learn.question;
