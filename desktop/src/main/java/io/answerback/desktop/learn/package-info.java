/// Exercises: a sheet over the whole window on which the trade is learned.
package io.answerback.desktop.learn;
