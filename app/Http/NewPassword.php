<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;

/** A password that somebody wants to have. It is never repeated in an answer. */
final class NewPassword
{
    public static function read(Node $node, Findings $findings): string
    {
        $password = $node->text(200);
        if ($password !== '' && mb_strlen($password) < User::SHORTEST_PASSWORD) {
            $findings->add($node->path, 'This password is too short.', null, sprintf('at least %d characters', User::SHORTEST_PASSWORD));
        }

        return $password;
    }
}
