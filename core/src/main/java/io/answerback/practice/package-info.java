/// The firm's house rules: where a job departs from them, and when the next visit is due.
package io.answerback.practice;
