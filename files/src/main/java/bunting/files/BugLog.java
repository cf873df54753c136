package bunting.files;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.encoder.PatternLayoutEncoder;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.rolling.FixedWindowRollingPolicy;
import ch.qos.logback.core.rolling.RollingFileAppender;
import ch.qos.logback.core.rolling.SizeBasedTriggeringPolicy;
import ch.qos.logback.core.util.FileSize;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.slf4j.LoggerFactory;

/**
 * Where Bunting's own faults are noted, with all that helps to mend them: {@code bunting.log} in
 * the user's state folder, of one megabyte, with the one before it. Nobody sees a stack trace; he
 * gets a sentence that names the file.
 */
public final class BugLog {
  private static final String FILE = "bunting.log";
  private static final FileSize MOST = new FileSize(FileSize.MB_COEFFICIENT);

  private final Path folder;

  private BugLog(Path folder) {
    this.folder = folder;
  }

  /** A log in a folder, which is made when something is noted. */
  static BugLog in(Path folder) {
    return new BugLog(folder);
  }

  /**
   * Notes a fault in the user's log.
   *
   * @param doing what was being done, such as "planning"
   * @return one sentence for the user
   */
  public static String note(String doing, Throwable fault) {
    return in(UserFolders.here().state()).noted(doing, fault);
  }

  /** Notes a fault; says so in one sentence. */
  String noted(String doing, Throwable fault) {
    Optional<Path> file = written(doing, fault);
    String what =
        fault instanceof OutOfMemoryError
            ? "There is not enough memory for " + doing + ": make the show or its picture smaller"
            : "Something went wrong inside Bunting while "
                + doing
                + " ("
                + fault.getClass().getSimpleName()
                + "); nothing that was saved is lost";
    String where = file.map(f -> "; the details are in " + f + ".").orElse(".");
    return new BadInputException(what + where).getMessage();
  }

  private Optional<Path> written(String doing, Throwable fault) {
    Path file = folder.resolve(FILE);
    try {
      FileRights.makePrivate(folder);
      if (Files.exists(file) && !Files.isWritable(file)) {
        return Optional.empty();
      }
      log(file, doing, fault);
      return Optional.of(file).filter(Files::isRegularFile);
    } catch (IOException | RuntimeException | LinkageError e) {
      // A fault that cannot be noted is told all the same.
      return Optional.empty();
    }
  }

  private static synchronized void log(Path file, String doing, Throwable fault) {
    LoggerContext context = (LoggerContext) LoggerFactory.getILoggerFactory();
    PatternLayoutEncoder encoder = new PatternLayoutEncoder();
    encoder.setContext(context);
    encoder.setCharset(StandardCharsets.UTF_8);
    encoder.setPattern("%d{yyyy-MM-dd'T'HH:mm:ss.SSSXXX} %level [%thread] %msg%n%ex{full}%n");
    encoder.start();
    RollingFileAppender<ILoggingEvent> appender = new RollingFileAppender<>();
    appender.setContext(context);
    appender.setFile(file.toString());
    appender.setEncoder(encoder);
    FixedWindowRollingPolicy rolling = new FixedWindowRollingPolicy();
    rolling.setContext(context);
    rolling.setParent(appender);
    rolling.setFileNamePattern(file + ".%i");
    rolling.setMinIndex(1);
    rolling.setMaxIndex(1);
    rolling.start();
    SizeBasedTriggeringPolicy<ILoggingEvent> trigger = new SizeBasedTriggeringPolicy<>();
    trigger.setContext(context);
    trigger.setMaxFileSize(MOST);
    trigger.start();
    appender.setRollingPolicy(rolling);
    appender.setTriggeringPolicy(trigger);
    appender.start();
    Logger logger = context.getLogger("bunting");
    logger.setLevel(Level.ERROR);
    logger.setAdditive(false);
    logger.addAppender(appender);
    try {
      logger.error(doing, fault);
    } finally {
      logger.detachAppender(appender);
      appender.stop();
    }
  }
}
