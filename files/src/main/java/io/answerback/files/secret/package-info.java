/// Secrets of this computer: keys that stations gave, in one file that is encrypted with a pass phrase. Nothing
/// of it is ever part of a job.
package io.answerback.files.secret;
