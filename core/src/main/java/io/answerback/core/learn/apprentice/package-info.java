/// What apprentices have done, how hard their next exercise is, and what a teacher gives and marks on paper.
package io.answerback.core.learn.apprentice;
