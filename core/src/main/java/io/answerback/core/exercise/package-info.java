/// Exercises over the real model: made from a seed, judged by what the model computes.
package io.answerback.core.exercise;
