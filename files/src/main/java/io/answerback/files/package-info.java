/// Reading and writing: job files, data files, profiles, what the desktop remembers.
package io.answerback.files;
