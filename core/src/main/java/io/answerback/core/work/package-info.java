/// What is taken to the site, how long the work takes, and what falls due.
package io.answerback.core.work;
