<?php

declare(strict_types=1);

namespace IronLatch\Http;

use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Gives a controller the board that its address names, as it stands now. */
final readonly class OpenBoardOfTheAddress implements ValueResolverInterface
{
    public function __construct(private BoardStore $store) {}

    /**
     * @return iterable<OpenBoard>
     */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        $id = $request->attributes->get('id');

        return OpenBoard::class === $argument->getType() && is_string($id)
            ? [$this->store->open($id) ?? throw new NotFoundHttpException('This board is not on the shelf.')]
            : [];
    }
}
