/// Made-up sites to try the application with.
package io.answerback.files.demo;
