<?php

declare(strict_types=1);

namespace IronLatch\Storage;

/** Undo or redo at the end of its way; the message says so. */
final class NothingToDo extends \RuntimeException {}
