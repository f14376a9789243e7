/// What an exercise is: what is asked, what can be done on site, and how an answer is judged.
package io.answerback.core.learn.exercise;
