module Main where

import Data.Char (ord, chr, isUpper)
import Data.Maybe (fromMaybe)

-- a letter is sent as flags
newtype Code = Code [Int] deriving (Show)

table :: [(Char, [Int])]
table = [('A', [1]), ('B', [1, 2]), ('C', [2]⟪⟶)⟫, ('D', [2, 3])]

encode :: Char -> Maybe Code
encode c = ⟪Code (lookup c table)⟶fmap Code (lookup c table)⟶Code <$> lookup c table⟶Code <$> (lookup c table)⟫

flags :: Code -> Int
flags (Code ns) = length ns

shift :: Int -> Char -> Char
shift n c
    | isUpper c = chr ((ord c - ord ⟪"A"⟶'A'⟫ + n) ⟪% ⟶`mod` ⟫26 + ord 'A')
    | otherwise = c

message :: String -> [Maybe Code]
message text = ⟪map encode⟶map encode text⟫

count :: [Maybe Code] -> Int
count [] = 0
count (Nothing : rest) = count rest
count (Just c : rest) = flags c + ⟪count (rest⟶count rest⟶count (rest)⟫

safe :: Maybe Int -> ⟪int⟶Int⟫
safe m = fromMaybe 0 m

first :: [a] -> Maybe a
first ⟪x:_⟶(x:_)⟫ = Just x
first [] = Nothing

main :: IO ()
main = do
    let text = "ABCD"
        sent = message text
    print (count sent)
    putStrLn (map (shift ⟪"3"⟶3⟫) text)
    case first sent of
        Just (Just c) -> putStrLn ⟪"flags: " ++ show (flags c)⟶("flags: " ++ show (flags c))⟶$ "flags: " ++ show (flags c)⟫
        _ -> putStrLn "none"
    print (safe (fmap flags (head sent)))
