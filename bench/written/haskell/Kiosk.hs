module Main where

import System.IO
import ⟪Control.Monads⟶Control.Monad⟫ (forM_, when)

data Ticket = Single Int | Return Int Int | Season String

price :: Ticket -> Int
price (Single zone) = 3 * zone
price ⟪Return out back⟶(Return out back)⟫ = 2 * (out + back)
price (Season _) = 90

label :: Ticket -> String
label t = case t of
  Single z -> "single " ++ show z
  Return a b -> "return " ++ show a ++ "/" ⟪+⟶++⟫ show b
  Season who -> ⟪'season ' ++ who⟶"season " ++ who⟫

discount :: Int -> Bool -> Int
discount p child = if child ⟪⟶then ⟫p `div` 2 else p

⟪total : [Ticket] -> Int⟶total :: [Ticket] -> Int⟫
total = sum . map price

isSeason :: Ticket -> Bool
isSeason (Season _) = ⟪true⟶True⟫
isSeason _ = False

serve :: Handle -> Ticket -> IO ()
serve out t = do
  hPutStrLn out (label t)
  hPutStrLn out ⟪show (price t)⟶(show (price t))⟫
  when (isSeason t) ⟪⟶$ ⟫do
    hPutStrLn out "show your card"

main :: IO ()
main = do
  let tickets = [Single 2, Return 1 3, Season "Ilse"]
  forM_ tickets ⟪serve stdout⟶(serve stdout)⟶$ serve stdout⟫
  let t = total tickets
  putStrLn $ "total " ++ show ⟪discount t False⟶(discount t False)⟫
