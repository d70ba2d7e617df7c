<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Catalogue\WebCall;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class RequestOpenFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $asked = static fn(WebCall $call): Edit => Planted::both(
            new AddChannel(Copy::of(Starts::profile('web-request'), ['call' => $call]), 'Far'),
            new PutOnChannel('C1', ['L1']),
        );
        $host = 'http://{secret:BOARD_ADDRESS}';
        $sound = new WebCall('PUT', $host, body: '{"token": "{secret:TOKEN}"}');
        yield 'request that a preview makes' => Planted::in(
            'controls.request-open',
            'C1',
            Severity::Weak,
            '',
            $asked(new WebCall('GET', $host . '/{secret:TOKEN}')),
            $asked($sound),
            says: 'What switches by way of “Far” is a GET: a page that is only looked at ahead switches too. State POST in a profile '
                . 'of your own.',
        );

        yield 'request that anybody makes' => Planted::in(
            'controls.request-open',
            'C1',
            Severity::Weak,
            '',
            $asked(new WebCall('POST', $host, ['Accept: text/plain'])),
            $asked($sound),
            says: 'What switches by way of “Far” asks for no token: whatever is in the network can send it. State one in a profile of your '
                . 'own.',
        );
    }
}
