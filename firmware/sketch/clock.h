namespace chip {

uint32_t now() { return static_cast<uint32_t>(millis()); }
uint32_t micros() { return static_cast<uint32_t>(::micros()); }

#if LATCH_HAS_TIMERS
/** Seconds since 1970 are known when they are more than any clock has at its start. */
bool time_of_week(uint32_t *week_ms) {
  time_t seconds = time(nullptr);
  if (seconds < 1700000000) return false;
  tm here;
  localtime_r(&seconds, &here);
  uint32_t day = static_cast<uint32_t>((here.tm_wday + 6) % 7);
  *week_ms = 1000UL * (static_cast<uint32_t>(here.tm_sec) +
                       60UL * (static_cast<uint32_t>(here.tm_min) + 60UL * (static_cast<uint32_t>(here.tm_hour) + 24UL * day)));
  return true;
}
#else
bool time_of_week(uint32_t *) { return false; }
#endif

}  // namespace chip
