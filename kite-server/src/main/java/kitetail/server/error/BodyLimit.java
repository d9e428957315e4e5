package kitetail.server.error;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import kitetail.formats.words.Refused;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * How much may be sent, by kind: documents and all other JSON are held in memory and small; files
 * are read as they arrive and larger. What says it is too large is refused before it is read, what
 * does not say so as soon as it is.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimit extends OncePerRequestFilter {
  private static final long MB = 1_000_000;

  /** A plan document has 2 MB; what is sent along with it is little. */
  private static final long JSON = 5 * MB / 2;

  /** Taps kept on a tablet without a network: each plan made anew in between goes along whole. */
  private static final long ENTRIES = 20 * MB;

  private static final long ARCHIVE = 1000 * MB;
  private static final long FILE = 400 * MB;

  /** Slower than this over all of it, once so long has gone by, it is cut off. */
  private static final double LEAST_PER_S = 2000;

  private static final double PATIENCE_S = 5;

  /** A body that came so slowly that others would wait for it. */
  static final class TooSlow extends IOException {
    private static final long serialVersionUID = 1L;

    TooSlow() {
      super(Refused.because("too-slow"));
    }
  }

  /** A body that went on past what is allowed. */
  static final class TooLarge extends IOException {
    private static final long serialVersionUID = 1L;

    TooLarge(long most) {
      super(sentence(most));
    }
  }

  private static String sentence(long most) {
    return Refused.because("too-large", "megabytes", (double) most / MB);
  }

  private static long most(HttpServletRequest r) {
    String type = r.getContentType();
    if (type == null || !type.startsWith(MediaType.APPLICATION_OCTET_STREAM_VALUE)) {
      return r.getRequestURI().endsWith("/entries") ? ENTRIES : JSON;
    }
    return r.getRequestURI().endsWith("/archive") ? ARCHIVE : FILE;
  }

  @Override
  protected void doFilterInternal(HttpServletRequest r, HttpServletResponse a, FilterChain next)
      throws ServletException, IOException {
    long most = most(r);
    if (r.getContentLengthLong() > most) {
      a.setHeader("Connection", "close");
      Answer.write(a, HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE, sentence(most));
      return;
    }
    next.doFilter(new Counted(r, most), a);
  }

  private static final class Counted extends HttpServletRequestWrapper {
    private final long most;
    private ServletInputStream counted;

    Counted(HttpServletRequest r, long most) {
      super(r);
      this.most = most;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      if (counted == null) {
        counted = new Stream(super.getInputStream(), most);
      }
      return counted;
    }
  }

  private static final class Stream extends ServletInputStream {
    private final ServletInputStream in;
    private final long most;
    private final long began = System.nanoTime();
    private long read;

    Stream(ServletInputStream in, long most) {
      this.in = in;
      this.most = most;
    }

    private int counted(int n) throws IOException {
      read += Math.max(0, n);
      if (read > most) {
        throw new TooLarge(most);
      }
      double seconds = (System.nanoTime() - began) / 1e9;
      if (seconds > PATIENCE_S && read < LEAST_PER_S * seconds) {
        throw new TooSlow();
      }
      return n;
    }

    @Override
    public int read() throws IOException {
      int b = in.read();
      counted(b < 0 ? 0 : 1);
      return b;
    }

    @Override
    public int read(byte[] to, int at, int n) throws IOException {
      return counted(in.read(to, at, n));
    }

    @Override
    public boolean isFinished() {
      return in.isFinished();
    }

    @Override
    public boolean isReady() {
      return in.isReady();
    }

    @Override
    public void setReadListener(ReadListener l) {
      in.setReadListener(l);
    }
  }
}
