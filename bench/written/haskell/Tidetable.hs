module Main where

import Data.Char (⟪toupper⟶toUpper⟫)

data Tide = Low | High deriving (Eq, Show⟪⟶, Enum⟫)

type Entry = (Int, Tide, Double)

table :: [Entry]
table = [(3, Low, 0.8), (9, High, 4.2), (15, Low⟪⟶, 1.0⟶, 0⟫), (21, High, 4.6)]

heights :: Tide -> [Double]
heights tide = [h | (_, t, h) <- table, t ⟪=⟶==⟫ tide]

shout :: String -> String
shout = map toUpper

mean :: [Double] -> Double
mean xs = sum xs / fromIntegral (length xs)

range :: Double
range = mean (heights High) - mean (heights Low)

line :: Tide -> String
line tide =
    let hs = heights tide
        text = show tide
    ⟪⟶in ⟫shout text ++ " " ++ show (mean hs)

main :: IO ()
main = do
    mapM_ (putStrLn . line) [Low ..]
    putStrLn ⟪$ "range " + show range⟶$ "range " ++ show range⟫
    let first = head table
    let (_, tide, _) = first
    print tide
