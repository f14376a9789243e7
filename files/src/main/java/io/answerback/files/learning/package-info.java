/// What exercises are made of, and the files of apprentices.
package io.answerback.files.learning;
