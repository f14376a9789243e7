/// What a communicator does with calls and text messages it gets: a model to practise on.
package io.answerback.core.report.control;
