module Main where

import qualified Data.Map as Map
import Data.List (sortBy⟪ ⟶, ⟫intercalate)
import Data.Ord (comparing)

data Size = Small | Large ⟪Deriving⟶deriving⟫ (Show, Eq)

data Boat = Boat
  { boatName :: String
  , size ⟪:⟶::⟫ Size
  , nights :: Int
  } deriving Show

rate :: Size -> Int
rate Small = 10
rate Large = 25

fee :: Boat -> Int
fee boat = rate (size boat) * ⟪boat.nights⟶nights boat⟫

byFee :: [Boat] -> [Boat]
byFee = sortBy (comparing ⟪fee boat⟶fee⟫)

total :: [Boat] -> Int
total [] = ⟪[]⟶0⟫
total (b:bs) = fee b + total bs

summary :: [Boat] -> String
summary boats = intercalate ", " ⟪[boatName b | b in boats]⟶[boatName b | b <- boats]⟫

largeOnes :: [Boat] -> [Boat]
largeOnes boats = filter (\b -> size b ⟪=⟶==⟫ Large) boats

register :: [Boat] -> Map.Map String ⟪int⟶Int⟫
register boats = Map.fromList [(boatName b, fee b) | b <- boats⟪⟶]⟫

main :: IO ()
main = do
  let boats = [Boat "Tern" Small 3, Boat "Gull" Large 2, Boat ⟪'Skua'⟶"Skua"⟫ Small 1]
  putStrLn (summary (byFee boats))
  ⟪putStrLn (total boats)⟶print (total boats)⟶putStrLn (show (total boats))⟫
  print (map boatName ⟪largeOnes boats⟶(largeOnes boats)⟫)
  case Map.lookup "Gull" (register boats) of
    Just f -> ⟪putStrLn "Gull pays " ++ show f⟶putStrLn ("Gull pays " ++ show f)⟶putStrLn $ "Gull pays " ++ show f⟫
    Nothing -> putStrLn "no Gull"
