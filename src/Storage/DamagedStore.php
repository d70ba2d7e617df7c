<?php

declare(strict_types=1);

namespace IronLatch\Storage;

/** What stands in the store is not what was written; the message says what to do. */
final class DamagedStore extends \RuntimeException {}
