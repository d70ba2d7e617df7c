// Streams by sockets that never wait, for chips whose network has them.

namespace net {

struct Socket {
  int handle;
  bool is_open;
};
Socket sockets[latch::room(latch::board::BROKER_COUNT)];
Socket callers[4];
int listener = -1;
char own_address[24] = "";

void unblock(int handle) { fcntl(handle, F_SETFL, fcntl(handle, F_GETFL, 0) | O_NONBLOCK); }

Socket &of(void *self) { return *static_cast<Socket *>(self); }

void end(void *self) {
  if (of(self).handle >= 0) close(of(self).handle);
  of(self).handle = -1;
  of(self).is_open = false;
}

bool begin_one(void *self) {
  uint8_t place = static_cast<uint8_t>(&of(self) - sockets);
  if (!is_there() || !is_known[place]) return false;
  int handle = socket(AF_INET, SOCK_STREAM, 0);
  if (handle < 0) return false;
  unblock(handle);
  sockaddr_in to;
  memset(&to, 0, sizeof to);
  to.sin_family = AF_INET;
  to.sin_port = htons(brokers[place].port);
  memcpy(&to.sin_addr, brokers[place].bytes, 4);
  of(self).handle = handle;
  of(self).is_open = false;
  if (0 == connect(handle, reinterpret_cast<sockaddr *>(&to), sizeof to) || EINPROGRESS == errno) return true;
  end(self);
  return false;
}

reach::StreamState state(void *self) {
  if (of(self).handle < 0) return reach::IS_GONE;
  if (of(self).is_open) return reach::STANDS;
  fd_set writes;
  FD_ZERO(&writes);
  FD_SET(of(self).handle, &writes);
  timeval at_once = {0, 0};
  if (select(of(self).handle + 1, nullptr, &writes, nullptr, &at_once) < 1) return reach::BEGINS;
  int fault = 0;
  socklen_t size = sizeof fault;
  getsockopt(of(self).handle, SOL_SOCKET, SO_ERROR, &fault, &size);
  if (0 != fault) {
    end(self);
    return reach::IS_GONE;
  }
  of(self).is_open = true;
  return reach::STANDS;
}

bool is_only_busy() { return EAGAIN == errno || EWOULDBLOCK == errno; }

uint16_t read(void *self, uint8_t *to, uint16_t most) {
  if (of(self).handle < 0) return 0;
  auto count = recv(of(self).handle, to, most, 0);
  if (0 == count || (count < 0 && !is_only_busy())) end(self);
  return count > 0 ? static_cast<uint16_t>(count) : 0;
}

uint16_t write(void *self, const uint8_t *from, uint16_t size) {
  if (of(self).handle < 0) return 0;
  auto count = send(of(self).handle, from, size, MSG_NOSIGNAL);
  if (count < 0 && !is_only_busy()) end(self);
  return count > 0 ? static_cast<uint16_t>(count) : 0;
}

reach::Stream stream(Socket *socket) { return {socket, begin_one, state, read, write, end}; }

reach::Stream broker(uint8_t place) {
  sockets[place].handle = -1;
  return stream(&sockets[place]);
}

void listen_at(uint16_t port) {
  for (Socket &one : callers) one.handle = -1;
  listener = socket(AF_INET, SOCK_STREAM, 0);
  sockaddr_in at;
  memset(&at, 0, sizeof at);
  at.sin_family = AF_INET;
  at.sin_port = htons(port);
  at.sin_addr.s_addr = htonl(INADDR_ANY);
  int again = 1;
  setsockopt(listener, SOL_SOCKET, SO_REUSEADDR, &again, sizeof again);
  unblock(listener);
  if (0 != bind(listener, reinterpret_cast<sockaddr *>(&at), sizeof at) || 0 != listen(listener, 4)) {
    close(listener);
    listener = -1;
  }
}

bool accept(reach::Stream *caller) {
  if (listener < 0) return false;
  for (Socket &one : callers) {
    if (one.handle >= 0) continue;
    int handle = ::accept(listener, nullptr, nullptr);
    if (handle < 0) return false;
    unblock(handle);
    one.handle = handle;
    one.is_open = true;
    *caller = stream(&one);
    return true;
  }
  return false;
}

}  // namespace net
