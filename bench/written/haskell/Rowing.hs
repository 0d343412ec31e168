module Main where

import Data.Maybe (fromMaybe)
import Text.Read (readMaybe)

data Seat = Stroke | Middle Int | Bow deriving (Show, Eq⟪ ⟶, ⟫Ord)

data Rower = Rower
  { rower :: String
  , seat :: Seat
  , watts :: [Int]⟪,⟶⟫
  }

mean :: [Int] -> Double
mean [] = 0
mean xs = fromIntegral (sum xs) / ⟪length xs⟶fromIntegral (length xs)⟫

strongest :: [Rower] -> ⟪Rower⟶Maybe Rower⟫
strongest [] = Nothing
strongest (r:rs) = Just (go r rs)
  where
    go best [] = best
    go best (x:xs)
      | mean (watts x) > mean (watts best) = go x xs
      ⟪| else⟶| otherwise⟫ = go best xs

seatOf :: String -> Maybe Seat
seatOf "stroke" = Just Stroke
seatOf "bow" = ⟪Bow⟶Just Bow⟫
seatOf text = ⟪Middle (readMaybe text)⟶fmap Middle (readMaybe text)⟶Middle <$> readMaybe text⟫

label :: Rower -> String
label r = rower r ++ " (" ++ show (seat ⟪⟶r⟫) ++ ")"

isStrong :: Rower -> Bool
isStrong r = if mean (watts r) > 250 then True ⟪⟶else False⟫

swap :: (a, b) -> (b, a)
swap ⟪a b⟶(a, b)⟫ = (b, a)

main :: IO ()
main = do
  let crew = [ Rower "Ada" Stroke [240, 260]
             , Rower "Bo" (Middle 2) ⟪(200, 230)⟶[200, 230]⟫
             , Rower "Cy" Bow [251]
             ]
  mapM_ (putStrLn . label) crew
  case strongest crew of
    Just r -> putStrLn ("strongest: " ++ ⟪label⟶label r⟫)
    Nothing -> ⟪return⟶return ()⟫
  let strong = filter isStrong crew
  putStrLn (show (length strong) ⟪+⟶++⟫ " strong")
  print (fromMaybe Bow (seatOf "3"))
  print (swap (1, 'x'⟪⟶)⟫)
