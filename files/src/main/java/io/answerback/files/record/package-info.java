/// What is kept beside a job file: photographs, and the log of everything that was done.
package io.answerback.files.record;
