package kitetail.server.device;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.time.Duration;
import java.util.function.BiFunction;
import java.util.function.Function;
import kitetail.server.error.DeviceFault;
import org.springframework.http.client.JdkClientHttpRequestFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.client.RestClient;
import org.springframework.web.client.support.RestClientAdapter;
import org.springframework.web.service.invoker.HttpServiceProxyFactory;

/** What a device can be asked, as an interface, and who asks it so over HTTP. */
@Component
public class DeviceCalls {
  private static final Duration FINDS = Duration.ofSeconds(3);

  private final DeviceAddresses addresses;

  DeviceCalls(DeviceAddresses addresses) {
    this.addresses = addresses;
  }

  /**
   * @param calls an interface of {@code HttpExchange}s
   * @param patience how long an answer is waited for
   * @param answered what is thrown when it says another status than 200 to 299
   * @param gone what is thrown when it does not answer
   */
  public <T> T of(
      String address,
      Class<T> calls,
      Duration patience,
      BiFunction<URI, Integer, DeviceFault> answered,
      Function<URI, DeviceFault> gone) {
    JdkClientHttpRequestFactory http =
        new JdkClientHttpRequestFactory(HttpClient.newBuilder().connectTimeout(FINDS).build());
    http.setReadTimeout(patience);
    RestClient client =
        RestClient.builder()
            .baseUrl(address)
            .requestFactory(http)
            .defaultHeader(DeviceAddresses.KEY_HEADER, addresses.key())
            .defaultStatusHandler(
                status -> !status.is2xxSuccessful(),
                (request, answer) -> {
                  throw answered.apply(request.getURI(), answer.getStatusCode().value());
                })
            .requestInterceptor(
                (request, body, next) -> {
                  try {
                    return next.execute(request, body);
                  } catch (IOException e) {
                    throw gone.apply(request.getURI());
                  }
                })
            .build();
    return HttpServiceProxyFactory.builderFor(RestClientAdapter.create(client))
        .build()
        .createClient(calls);
  }
}
