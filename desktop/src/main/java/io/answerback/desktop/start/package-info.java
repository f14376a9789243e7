/// Where a day begins: jobs to go on with, a new one, or a demo.
package io.answerback.desktop.start;
