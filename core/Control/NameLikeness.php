<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

/** How two names can be taken for each other when they are spoken. */
enum NameLikeness: string
{
    case Same = 'the same when spoken or typed';
    case Digits = 'the same, once as a digit and once as a word';
    case Sound = 'alike in sound';
    case Contained = 'one within the other';
}
